import {} from '@cadre/contract/http';
